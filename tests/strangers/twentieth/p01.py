# Seed shop stock control
stock = {
    "carrot": {"price": 1.25, "amount": 40},
    "pea": {"price": 0.95, "amount": 12},
    "bean": {"price": 1.10, "amount": 0},
}


def show_stock(items):
    print(f"{'Item':<12}{'Price':>8}{'Amount':>8}")
    print("-" * 28)
    for name in sorted(items):
        item = items[name]
        print(f"{name:<12}{item['price']:>8.2f}{item['amount']:>8d}")


def sell(items, name, how_many):
    if name not in items:
        return "No such item"
    if items[name]["amount"] < how_many:
        return f"Only {items[name]['amount']} left"
    items[name]["amount"] -= how_many
    return f"Sold {how_many} for {items[name]['price'] * how_many:.2f}"


show_stock(stock)
for order in [("carrot", 5), ("bean", 1), ("leek", 2), ("pea", 12)]:
    print(sell(stock, *order))
show_stock(stock)
total = sum(i["price"] * i["amount"] for i in stock.values())
print("Total value:", round(total, 2))
empty = [n for n, i in stock.items() if not i["amount"]]
print("Empty:", ", ".join(empty) if empty else "none")
