PRICES = {"apple":0.30,"bread":1.10,"milk":0.95}
basket = []
item = input("Item (or done): ").strip().lower()
while item != "done":
    if item in PRICES.keys():
        quantity = int(input("Quantity: "))
        basket.append((item, quantity, PRICES[item] * quantity))
    else:
        print("Sorry, we do not sell", item)
    item = input("Item (or done): ").strip().lower()
print()
print("Receipt".center(24, "="))
total = 0.0
for name, quantity, cost in basket:
    print(name.ljust(10, "."), str(quantity).rjust(3), "%8.2f" % cost, sep="")
    total = total + cost
discount = 0
if total > 5 and len(basket) >= 2:
    discount = total * 10 / 100
elif total > 3:
    discount = 0.5
print("Total".ljust(13) + "{:8.2f}".format(total))
print("To pay:", format(total - discount, ".2f"), "GBP")
print("=" * 24)
