import { toString } from "qrcode";

/** The address to join, as a picture that telephones read. */
const place = document.querySelector<HTMLElement>("#qr");
if (place?.dataset.address) {
  void toString(place.dataset.address, { type: "svg", margin: 0, errorCorrectionLevel: "M" }).then((svg) => {
    const drawn = new DOMParser().parseFromString(svg, "image/svg+xml").documentElement;
    place.replaceChildren(document.importNode(drawn, true));
  });
}
