/**
 * React Aria carries what it says to a screen reader in thirty languages, in one module each. The pages are in English: the other languages are left out of
 * what is sent to the browser.
 */
module.exports = function englishOnly(source) {
  const english = /import (\S+) from "([^"]*\/en-US\.mjs)"/.exec(source);
  if (english === null) throw new Error(`${this.resourcePath} lists no English.`);
  return `import ${english[1]} from ${JSON.stringify(english[2])};\nexport default { "en-US": ${english[1]} };\n`;
};
