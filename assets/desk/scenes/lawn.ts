import { element, ScenePlayer } from "./scene";
import { say } from "../page";
import type { Fitting, LawnLayout, SceneEvent } from "../types";

/** Where each socket sits: degrees from the front, anticlockwise. */
const PLACES = [0, 150, -150, 30, 0, -30, 90, -90, 180];
const REACH = 80;
const FIELD = 15;

function pile(): SVGElement {
  const leaves = [
    [-4, -4, "#b0702c"],
    [4, -5, "#c98a3a"],
    [0, 3, "#9a5b21"],
    [6, 4, "#b0702c"],
    [-6, 5, "#d29a4b"],
  ] as const;
  return element(
    "g",
    {},
    element("circle", { r: 12, fill: "#a8692b" }),
    ...leaves.map(([x, y, fill]) => element("path", { d: `M${x - 5} ${y}q5 -6 10 0q-5 5 -10 0`, fill })),
  );
}

/** The field of a sensor, as seen from the middle of the mower, which looks to the right. */
function field(fitting: Fitting): SVGElement[] {
  const socket = fitting.sockets[0] ?? 0;
  const angle = ((PLACES[socket] ?? 0) * Math.PI) / 180;
  const [x, y] = [10 * Math.cos(angle), -10 * Math.sin(angle)];
  const spot = element("circle", { cx: x, cy: y, r: 2.5, fill: "#22304f" });
  if (fitting.kind !== "range_sensor") return fitting.kind === "drive_pair" ? [] : [spot];
  const ray = (turn: number): string => {
    const direction = angle + (turn * Math.PI) / 180;
    return `${x + REACH * Math.cos(direction)} ${y - REACH * Math.sin(direction)}`;
  };
  return [
    element("path", {
      d: `M${x} ${y}L${ray(FIELD)}A${REACH} ${REACH} 0 0 1 ${ray(-FIELD)}Z`,
      fill: "#3f8fd6",
      opacity: 0.18,
    }),
    spot,
  ];
}

export class LawnPlayer extends ScenePlayer {
  private readonly trail = element("polyline", { fill: "none", stroke: "#22304f", "stroke-width": 1.5, opacity: 0.55 });
  private readonly mower = element("g", {});
  private readonly lamp = element("circle", { r: 4, fill: "#4a4f5a" });
  private readonly piles = element("g", {});
  private pose: [number, number, number] = [0, 0, 90];
  private points: string[] = [];
  private wheels: [number, number] = [0, 0];

  constructor(
    svg: SVGSVGElement,
    private readonly layout: LawnLayout,
    fittings: Fitting[],
    events: SceneEvent[],
    keyOf: (moment: number) => string,
  ) {
    super(events, keyOf);
    svg.setAttribute("viewBox", "-216 -162 432 324");
    this.mower.append(
      ...fittings.flatMap(field),
      element("rect", { x: -5, y: -13, width: 10, height: 5, rx: 2, fill: "#33302c" }),
      element("rect", { x: -5, y: 8, width: 10, height: 5, rx: 2, fill: "#33302c" }),
      element("path", {
        d: "M-12 0A12 12 0 0 1 4 -11L12 0L4 11A12 12 0 0 1 -12 0Z",
        fill: "#c4412b",
        stroke: "#7c2416",
      }),
      this.lamp,
    );
    const stripes = [-80, -40, 0, 40, 80].map((x) =>
      element("line", {
        x1: x,
        x2: x,
        y1: -Math.sqrt(120 ** 2 - x * x),
        y2: Math.sqrt(120 ** 2 - x * x),
        stroke: "#86b568",
        "stroke-width": 16,
      }),
    );
    svg.replaceChildren(
      element("rect", { x: -216, y: -162, width: 432, height: 324, fill: "#e4ddcd" }),
      element("circle", { r: 150, fill: "#f3ede0", stroke: "#cfc4ad", "stroke-dasharray": "2 5", "stroke-width": 3 }),
      element("circle", { r: 120, fill: "#7dae5f", stroke: "#557f3c", "stroke-width": 2 }),
      ...stripes,
      this.trail,
      this.piles,
      this.mower,
    );
  }

  protected begin(): void {
    this.pose = this.layout.mower;
    this.points = [`${this.pose[0]},${-this.pose[1]}`];
    this.wheels = [0, 0];
    this.lamp.setAttribute("fill", "#4a4f5a");
    this.piles.replaceChildren(...this.layout.piles.map(pile));
    this.layout.piles.forEach(([x, y], index) => this.move(index, x, y));
  }

  private move(index: number, x: number, y: number): void {
    this.piles.children[index]?.setAttribute("transform", `translate(${x} ${-y})`);
  }

  protected play([kind, , ...fields]: SceneEvent): void {
    const [a, b, c] = fields as [never, never, never];
    if (kind === "pose") {
      this.pose = [a, b, c];
      this.points.push(`${a as number},${-b}`);
    } else if (kind === "pile") this.move(a, b, c);
    else if (kind === "wheels") this.wheels = [a, b];
    else if (kind === "lamp") this.lamp.setAttribute("fill", b || "#4a4f5a");
  }

  protected override place(): void {
    const [x, y, heading] = this.pose;
    this.mower.setAttribute("transform", `translate(${x} ${-y}) rotate(${-heading})`);
    this.trail.setAttribute("points", this.points.join(" "));
  }

  override facts(): [string, string][] {
    const [x, y, heading] = this.pose.map((value) => Math.round(value * 10) / 10 + 0);
    return [
      [say("player_mower"), `${x}, ${y}`],
      [say("player_mower_heading"), `${heading}°`],
      [
        say("player_wheels"),
        `${Math.round((this.wheels[0] / 30) * 100)} %, ${Math.round((this.wheels[1] / 30) * 100)} %`,
      ],
    ];
  }
}
