def menu():
    print()
    print("1) add book")
    print("2) lend")
    print("3) return")
    print("4) list")
    print("5) quit")

books = []   # list of dicts

def find(title):
    for b in books:
        if b["title"].lower() == title.lower():
            return b
    return None

running = True
while running:
    menu()
    choice = input("> ").strip()
    if choice == "1":
        t = input("Title: ")
        a = input("Author: ")
        y = input("Year: ")
        if not y.isdigit():
            print("Year must be a number!")
        elif find(t):
            print("Already have it")
        else:
            books.append({"title": t, "author": a, "year": int(y), "lent": None})
            print("Added", t)
    elif choice == "2":
        b = find(input("Title: "))
        if b is None:
            print("Not found")
        elif b["lent"] is not None:
            print("Lent to", b["lent"])
        else:
            b["lent"] = input("To whom? ")
    elif choice == "3":
        b = find(input("Title: "))
        if b and b["lent"]:
            print("Thank you,", b["lent"])
            b["lent"] = None
        else:
            print("Was not lent")
    elif choice == "4":
        if len(books) == 0:
            print("(no books)")
        for i, b in enumerate(sorted(books, key=lambda b: b["year"]), 1):
            state = "in" if not b["lent"] else "lent to " + b["lent"]
            print(str(i) + ".", b["title"], "by", b["author"], "(" + str(b["year"]) + ")", "-", state)
    elif choice == "5":
        running = False
    else:
        print("Unknown choice '" + choice + "'")
print("Bye! There are", len(books), "books.")
print(books)
