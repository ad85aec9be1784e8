const basket = [];
basket.push("soil");
basket.push("string");
basket.unshift("gloves");
const last = basket.pop();
console.log(last, basket.length);
console.log(basket.includes("soil"));
console.log(basket.join(", "));
