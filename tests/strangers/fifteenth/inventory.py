import json

stock = {}

def add_item(name, qty, price):
    if name in stock:
        stock[name]["qty"] += qty
    else:
        stock[name] = {"qty": qty, "price": price}

def remove_item(name, qty):
    if name not in stock:
        print("We have no " + name)
        return False
    if stock[name]["qty"] < qty:
        print("Only " + str(stock[name]["qty"]) + " " + name + " left")
        return False
    stock[name]["qty"] -= qty
    if stock[name]["qty"] == 0:
        del stock[name]
    return True

def report():
    print("-" * 30)
    print("{:<12}{:>6}{:>10}".format("Item", "Qty", "Value"))
    total = 0
    for name in sorted(stock):
        item = stock[name]
        value = item["qty"] * item["price"]
        total += value
        print("{:<12}{:>6}{:>10.2f}".format(name, item["qty"], value))
    print("{:<12}{:>16.2f}".format("TOTAL", total))
    print("=" * 30)

while True:
    line = input("> ")
    parts = line.split()
    if not parts:
        continue
    command, args = parts[0], parts[1:]
    if command == "quit":
        break
    elif command == "add":
        if len(args) == 3:
            add_item(args[0], int(args[1]), float(args[2]))
        else:
            print("add NAME QTY PRICE")
    elif command == "sell":
        try:
            name, qty = args
            if remove_item(name, int(qty)):
                print("sold", qty, name)
        except ValueError as e:
            print("Error:", e)
    elif command == "report":
        report()
    elif command == "save":
        print(json.dumps(stock, indent=2, sort_keys=True))
    else:
        print(f"unknown command {command!r}")
print("bye")
