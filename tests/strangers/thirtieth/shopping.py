prices = {"apple": 0.5, "bread": 2.2, "milk": 1.15, "seeds": 3}
stock = {"apple": 10, "bread": 0, "milk": 2, "seeds": 1}
cart = []

def add_to_cart(item, quantity=1):
    if item not in prices:
        print("Sorry, we don't have", item)
        return False
    if stock[item] < quantity:
        print("Only", stock[item], item + ("s" if stock[item] != 1 else ""), "left")
        return False
    for entry in cart:
        if entry[0] == item:
            entry[1] += quantity
            break
    else:
        cart.append([item, quantity])
    stock[item] -= quantity
    return True

def compute_bill(food):
    total = 0
    for item, quantity in food:
        total += prices[item] * quantity
    return total

def receipt():
    print("*" * 30)
    print("RECEIPT".center(30))
    print("*" * 30)
    for item, quantity in cart:
        line = str(quantity) + " x " + item
        cost = "%.2f" % (prices[item] * quantity)
        print(line + "." * (30 - len(line) - len(cost)) + cost)
    total = compute_bill(cart)
    if total > 5:
        discount = total * 0.1
        total -= discount
        print(f"{'Discount':.<22}{-discount:8.2f}")
    print("TOTAL".ljust(22, ".") + "{:>8.2f}".format(total))

for wish in [("apple", 4), ("bread",), ("plum", 2), ("milk", 3), ("milk", 2), ("apple", 2), ("seeds",)]:
    print(wish[0], "->", add_to_cart(*wish))
receipt()
print(cart, sorted(stock.items(), key=lambda kv: kv[1], reverse=True)[0])
print({k: v for k, v in stock.items() if v == 0}.keys(), min(prices, key=prices.get), sum(prices.values()))
del prices["bread"]; print(list(prices), len(prices), "bread" in prices, prices.get("bread", "none"))
