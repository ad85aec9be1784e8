# A little menu program for the seed store
stock = {"bean": 12, "carrot": 40, "pea": 7}

def show_menu():
    print()
    print("1) show the stock")
    print("2) take seeds out")
    print("3) put seeds in")
    print("0) end")

def ask_number(question):
    while True:
        answer = input(question)
        try:
            return int(answer)
        except ValueError:
            print("That is not a number, please try again.")

choice = -1
while choice != 0:
    show_menu()
    choice = ask_number("Your choice: ")
    if choice == 1:
        for name in sorted(stock):
            print("  " + name.ljust(10, ".") + str(stock[name]).rjust(4))
    elif choice == 2:
        name = input("Which seed? ").strip().lower()
        if name not in stock:
            print("We have no", name)
            continue
        amount = ask_number("How many? ")
        if amount > stock[name]:
            print("Only", stock[name], "left")
        else:
            stock[name] -= amount
            if stock[name] == 0:
                del stock[name]
    elif choice == 3:
        name = input("Which seed? ").strip().lower()
        stock[name] = stock.get(name, 0) + ask_number("How many? ")
    elif choice != 0:
        print("There is no", choice)
print("Goodbye")
