def show_menu():
    print("1. Add plant")
    print("2. List plants")
    print("3. Quit")


def add_plant(plants):
    name = input("Name: ").strip().title()
    if not name:
        print("No name given!")
        return
    try:
        height = float(input("Height in cm: "))
    except ValueError:
        print("That is not a number.")
        return
    plants.append({"name": name, "height": height})
    print(f"{name} added.")


def list_plants(plants):
    if len(plants) == 0:
        print("(no plants)")
    for index, plant in enumerate(plants, start=1):
        print(str(index) + ") " + plant["name"] + " - " + str(plant["height"]) + " cm")
    if plants:
        tallest = max(plants, key=lambda p: p["height"])
        print("Tallest:", tallest["name"])


plants = []
choice = ""
while choice != "3":
    show_menu()
    choice = input("> ")
    if choice == "1":
        add_plant(plants)
    elif choice == "2":
        list_plants(plants)
    elif choice == "3":
        print("Bye")
    else:
        print("Unknown choice", repr(choice))
