/** What a phone sees before it trusts this machine: plain HTML, with nothing of the household in it. */
export const installPage = ({
	file,
	fingerprint,
	next
}: {
	file: string;
	fingerprint: string;
	next: string;
}): string => `<!doctype html>
<html lang="en">
<meta charset="utf-8">
<meta name="viewport" content="width=device-width">
<title>Almacen: trust this household's machine</title>
<style>
body { font: 18px/1.5 system-ui, sans-serif; max-width: 34rem; margin: 2rem auto; padding: 0 1rem; color: #1c2833; }
a.go { display: inline-block; padding: .7rem 1.2rem; border: 2px solid; border-radius: .5rem; color: inherit; font-weight: 700; }
code { overflow-wrap: anywhere; }
</style>
<h1>Once on each device</h1>
<p>Camera, offline use and keeping the screen awake work only by a secure address. This machine makes its own certificate authority for that; it vouches for addresses at home and for nothing else.</p>
<ol>
<li><a class="go" href="${file}">Get the authority</a></li>
<li>Open the file and let it be installed as a certificate authority (in the settings under security, or profiles). Some phones want it switched on once more where they list trusted certificates.</li>
<li>Compare its SHA-256 fingerprint with the one on the machine's own screen:<br><code>${fingerprint}</code></li>
<li>Then scan the second code there, or open <a href="${next}">${next}</a>.</li>
</ol>
</html>
`;
