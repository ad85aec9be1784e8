# Garden shop till - my project
MENU = """
1) Add item
2) Remove item
3) Show basket
4) Pay
5) Quit
"""

PRICES = {
    "tomato": 1.20, "beans": 0.85, "squash": 2.5,
    "mint": 0.99,
}


def ask_number(prompt, low, high):
    """Keep asking until we get a whole number in range."""
    while True:
        answer = input(prompt)
        try:
            number = int(answer)
        except ValueError:
            print(f"'{answer}' is not a number, try again")
            continue
        if low <= number <= high:
            return number
        print(f"Please choose from {low} to {high}")


def show(basket):
    if not basket:
        print("Basket is empty")
        return 0
    total = 0
    print("-" * 24)
    for name, count in sorted(basket.items()):
        line = PRICES[name] * count
        total += line
        print(f"{name:<10}{count:>4}{line:>10.2f}")
    print("-" * 24)
    print(f"{'TOTAL':<14}{total:>10.2f}")
    return total


def main():
    basket = {}
    running = True
    while running:
        print(MENU.strip())
        choice = ask_number("> ", 1, 5)
        if choice == 1:
            name = input("Which? ").strip().lower()
            if name not in PRICES:
                print("We don't sell", name)
            else:
                basket[name] = basket.get(name, 0) + 1
                print("Added", name)
        elif choice == 2:
            name = input("Which? ").strip().lower()
            try:
                basket[name] -= 1
                if basket[name] == 0:
                    del basket[name]
            except KeyError as error:
                print("Not in the basket:", error)
        elif choice == 3:
            show(basket)
        elif choice == 4:
            total = show(basket)
            if total > 3:
                discount = round(total * 0.1, 2)
                print(f"Discount: {discount}")
                total -= discount
            print(f"To pay: {total:.2f}")
            basket.clear()
        else:
            running = False
    print("Bye!")


if __name__ == "__main__":
    main()
