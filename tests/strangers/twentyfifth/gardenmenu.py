def menu():
    print("-" * 20)
    print("1) add plant\n2) show\n3) water\n4) delete\n5) save & quit")
    return input("Choice: ")

garden = {}
day = 1
while True:
    choice = menu()
    if choice == "1":
        name = input("Name: ").strip().capitalize()
        if name in garden:
            print(name, "is there already!")
            continue
        try:
            need = float(input("Litres per day: ").replace(",", "."))
        except ValueError:
            print("That is not a number.")
        else:
            garden[name] = {"need": need, "water": 0.0, "days": []}
            print(f"Planted {name}.")
    elif choice == "2":
        if not garden:
            print("Nothing grows here.")
        for i, (name, data) in enumerate(sorted(garden.items()), 1):
            state = "happy" if data["water"] >= data["need"] else "thirsty"
            print(f"{i:2}. {name:<10} {data['water']:5.1f}/{data['need']:.1f} l  {state}", "days:", data["days"])
    elif choice == "3":
        who = input("Which (all): ") or "all"
        for name in garden if who == "all" else [who.capitalize()]:
            try:
                garden[name]["water"] += 1.5
                garden[name]["days"].append(day)
            except KeyError as missing:
                print("No plant called", missing)
        day += 1
    elif choice == "4":
        gone = garden.pop(input("Delete: ").capitalize(), None)
        print("Gone." if gone else "Not found.")
    elif choice in ("5", "q", "Q"):
        break
    else:
        print("Please choose 1-5, not", repr(choice))
print("Bye! You kept %d plant%s for %d day(s)." % (len(garden), "" if len(garden) == 1 else "s", day - 1))
total = sum(d["water"] for d in garden.values())
print("Water used: {:.2f} l, most: {}".format(total, max(garden, key=lambda n: garden[n]["water"], default="-")))
