// How many seeds fit into the drawers?
const drawers = 7;
let perDrawer = 24;
let total = drawers * perDrawer;
console.log("drawers:", drawers, "seeds:", total);
console.log(Math.floor(total / 5), "packets and", total % 5, "left");
total -= 100;
total /= 4;
total++;
--total;
total **= 2;
total %= 100;
console.log(total);
/* a remark
   over two lines */
console.log(7 / 2, -7 % 3, 2 ** 10, 10 - 4 - 3, (3 + 4) * 2);
