// Shopping basket
var basket = [];
function addItem(name, price, quantity) {
    basket.push({ name: name, price: price, quantity: quantity });
}
function total() {
    var sum = 0;
    for (var i = 0; i < basket.length; i++) {
        sum += basket[i].price * basket[i].quantity;
    }
    return sum;
}
addItem("seeds", 1.5, 4);
addItem("spade", 12.99, 1);
for (var key in basket[0]) {
    console.log(key + ": " + basket[0][key]);
}
console.log("Total: £" + total().toFixed(2));
if (total() > 15) {
    console.log("Discount!", (total() * 0.9).toFixed(2));
} else {
    console.log("No discount");
}
console.log(basket);
