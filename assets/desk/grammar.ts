import { HighlightStyle, type LanguageSupport, syntaxHighlighting } from "@codemirror/language";
import type { Extension } from "@codemirror/state";
import { tags } from "@lezer/highlight";

/** The grammar of the page's own language is all that is loaded. */
const languages: Record<string, () => Promise<LanguageSupport>> = {
  python: async () => (await import("@codemirror/lang-python")).python(),
  javascript: async () => (await import("@codemirror/lang-javascript")).javascript(),
  cpp: async () => (await import("@codemirror/lang-cpp")).cpp(),
};

const style = HighlightStyle.define([
  { tag: [tags.keyword, tags.bool, tags.null, tags.typeName, tags.processingInstruction], class: "t-k" },
  { tag: [tags.function(tags.variableName), tags.function(tags.propertyName)], class: "t-f" },
  { tag: [tags.string, tags.special(tags.string), tags.character], class: "t-s" },
  { tag: tags.number, class: "t-n" },
  { tag: tags.comment, class: "t-c" },
  { tag: tags.variableName, class: "t-v" },
]);

/** A language's indents and colours, which are those of the printed pages. */
export async function grammar(language: string): Promise<Extension> {
  return [await languages[language]!(), syntaxHighlighting(style)];
}
