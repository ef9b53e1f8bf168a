/** A text as Markdown shows it, whatever signs people wrote. */
export const asMarkdownText = (text: string) => text.replace(/([\\`*_{}[\]<>#|])/g, '\\$1');
