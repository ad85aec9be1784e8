items = [("apple", 1.5, 3), ("pear", 0.75, 10)]
for name, price, qty in items:
    print(name, price * qty)
