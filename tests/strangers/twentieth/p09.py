def menu():
    print("1 add")
    print("2 list")
    print("3 total")
    print("4 quit")

tasks = []
while True:
    menu()
    choice = input("Choice: ").strip()
    if choice == "1":
        name = input("Task: ")
        try:
            minutes = int(input("Minutes: "))
        except ValueError:
            print("That is not a number.")
            continue
        tasks.append({"name": name, "minutes": minutes, "done": False})
    elif choice == "2":
        if not tasks:
            print("Nothing yet")
        for i, t in enumerate(tasks, start=1):
            print(f"{i:2}. {t['name']:<15} {t['minutes']:3} min {'x' if t['done'] else '-'}")
    elif choice == "3":
        print("Total:", sum(t["minutes"] for t in tasks), "minutes")
    elif choice == "4":
        print("Bye")
        break
    else:
        print(f"'{choice}' is not on the menu")
