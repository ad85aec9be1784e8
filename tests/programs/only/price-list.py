items = [("apple", 1.5, 3), ("pear", 0.75, 10), ("plum", 12, 1)]
print("{:<10}|{:^8}|{:>8}".format("item", "qty", "price"))
print("-" * 28)
for name, price, qty in items:
    print("{:<10}|{:^8}|{:>8.2f}".format(name, qty, price * qty))
print(f"{'total':>20}: {sum(p * q for _, p, q in items):,.2f}")
print(1_000_000, f"{255:b} {255:x} {255:08b} {3.14159:.2e} {0.256:.1%}")
