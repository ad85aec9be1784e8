# Shop till
PRICES = {"soil": 4.50, "seeds": 1.25, "pot": 3.0}

def main():
    basket = []
    while True:
        item = input("Item (or done): ").strip().lower()
        if item == "done":
            break
        if item not in PRICES:
            print(f"Sorry, we do not sell {item!r}.")
            continue
        try:
            qty = int(input("How many? "))
            if qty <= 0:
                raise ValueError("quantity must be positive")
        except ValueError as err:
            print("Error:", err)
            continue
        basket.append((item, qty))
    total = sum(PRICES[i] * q for i, q in basket)
    print("-" * 24)
    for i, q in basket:
        print(f"{i:<10}{q:>4} x {PRICES[i]:>6.2f}")
    print("-" * 24)
    print(f"{'TOTAL':<10}{total:>14.2f}")
    if total > 20:
        discount = total * 0.1
        print(f"Discount {discount:.2f}, you pay {total - discount:.2f}")

if __name__ == "__main__":
    main()
