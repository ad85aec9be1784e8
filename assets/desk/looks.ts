/** How elements look that scripts make in more than one place; all others say it where they are made. */
export const TAB =
  "inline-flex h-[26px] min-w-[26px] items-center justify-center gap-[3px] rounded-md border border-edge px-1.5 text-sm " +
  "aria-pressed:bg-ink aria-pressed:text-paper [&:not([aria-pressed=true])[data-met=no]_.icon]:text-live " +
  "[&:not([aria-pressed=true])[data-met=yes]_.icon]:text-green";
/** Something that lies over the page. */
export const PAPER = "border border-edge bg-page shadow-float";
/** Where a row is filled in or searched for. */
export const WRITING =
  "min-w-[70px] justify-self-start rounded-sm border-2 border-live bg-page px-1.5 py-px text-[length:var(--type)] leading-[1.2] font-semibold";
export const REFUSAL = "refusal max-w-[330px] bg-live px-[9px] py-[5px] text-md leading-[1.3] text-on-live";
