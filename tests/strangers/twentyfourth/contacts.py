def menu():
    print("1) add  2) list  3) search  4) remove  0) quit")
    return input("> ").strip()

contacts = {}

while True:
    choice = menu()
    if choice == "0":
        print("Bye, %d contact%s kept." % (len(contacts), "" if len(contacts) == 1 else "s"))
        break
    elif choice == "1":
        name = input("Name: ").strip().title()
        phone = input("Phone: ").replace(" ", "").replace("-", "")
        if not name or not phone.isdigit():
            print("Not valid.")
            continue
        contacts.setdefault(name, []).append(phone)
    elif choice == "2":
        if not contacts:
            print("Nobody yet.")
        for i, (name, phones) in enumerate(sorted(contacts.items()), 1):
            print(f"{i:2}. {name:<12}{', '.join(phones)}")
    elif choice == "3":
        part = input("Part of the name: ").lower()
        found = [n for n in contacts if part in n.lower()]
        print("Found:", ", ".join(found) or "nobody")
    elif choice == "4":
        name = input("Name: ").title()
        if contacts.pop(name, None) is None:
            print("There is no", name)
        else:
            print("Removed", name)
    else:
        print("What is", repr(choice) + "?")
