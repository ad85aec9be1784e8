# Stock control for the Fernhollow tuck shed
stock = [["trowel", 4.50, 10], ["twine", 1.20, 25], ["seed tray", 2.75, 0]]

def show():
    print(f"{'item':<12}{'price':>8}{'qty':>5}")
    print("-" * 25)
    for item, price, qty in stock:
        flag = "" if qty else "  <- order!"
        print(f"{item:<12}{price:>8.2f}{qty:>5d}{flag}")

def find(name):
    for i in range(len(stock)):
        if stock[i][0].lower() == name.strip().lower():
            return i
    return -1

choice = ""
while choice != "4":
    print("\n1. Show\n2. Sell\n3. Deliver\n4. Quit")
    choice = input("Choice: ")
    if choice == "1":
        show()
    elif choice in ("2", "3"):
        pos = find(input("Item: "))
        if pos == -1:
            print("Not found")
            continue
        while True:
            try:
                n = int(input("How many: "))
                if n <= 0:
                    raise ValueError("must be positive")
                break
            except ValueError as err:
                print("Invalid:", err)
        if choice == "2":
            if n > stock[pos][2]:
                print("Only", stock[pos][2], "left")
            else:
                stock[pos][2] -= n
                print("Cost: £{:.2f}".format(n * stock[pos][1]))
        else:
            stock[pos][2] += n
    elif choice != "4":
        print("Choose 1-4")
print("Total value:", round(sum(p * q for _, p, q in stock), 2))
