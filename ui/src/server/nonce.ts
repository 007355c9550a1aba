declare global {
  /** The name under which libraries look for it. */
  var __webpack_nonce__: string | undefined;
}

/** The number, used once, that this page's own style sheets carry; the server's policy takes no others. */
export const nonce = document.querySelector<HTMLMetaElement>('meta[name=style-nonce]')?.content;

globalThis.__webpack_nonce__ = nonce;
