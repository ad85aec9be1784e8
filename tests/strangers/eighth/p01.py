"""Plant shop till.

Reads an order line by line until an empty line, then prints a bill.
"""
VAT = 0.2
PRICES = {"rose": 4.50, "fern": 3.25, "moss": 1.10, "oak": 12.00}


def read_order():
    order = []
    while True:
        line = input("item and amount> ").strip().lower()
        if not line:
            break
        parts = line.split()
        if len(parts) != 2:
            print("  ? please write: name number")
            continue
        name, amount = parts
        if name not in PRICES:
            print(f"  ? we have no {name!r}")
            continue
        try:
            amount = int(amount)
            if amount <= 0:
                raise ValueError("must be more than 0")
        except ValueError as problem:
            print("  ?", problem)
        else:
            order.append((name, amount))
    return order


def bill(order):
    net = 0
    print("-" * 34)
    for name, amount in sorted(order):
        cost = PRICES[name] * amount
        net += cost
        print(f"{name.capitalize():<12}{amount:>4} x {PRICES[name]:>6.2f} = {cost:>7.2f}")
    print("-" * 34)
    vat = round(net * VAT, 2)
    print(f"{'net':<23}{net:>11.2f}")
    print(f"{'VAT ' + format(VAT, '.0%'):<23}{vat:>11.2f}")
    print(f"{'TOTAL':<23}{net + vat:>11.2f}")


if __name__ == "__main__":
    bill(read_order())
