# Terminal menu: list of plants
plants = []

def show_menu():
    print()
    print("=" * 20)
    print("1. Add plant")
    print("2. List plants")
    print("3. Search")
    print("4. Delete")
    print("0. Quit")
    print("=" * 20)

def add():
    name = input("Name: ").strip().capitalize()
    if name == "":
        print("A name please!")
        return
    while True:
        try:
            height = float(input("Height in cm: ").replace(",", "."))
            if height <= 0: raise ValueError("must be positive")
        except ValueError as err:
            print("Not a height:", err)
        else:
            break
    plants.append({"name": name, "height": height})
    print(f"{name} added.")

def list_plants():
    if not plants:
        print("Nothing here yet.")
        return
    print(f"{'No':<4}{'Name':<12}{'Height':>8}")
    for i, p in enumerate(sorted(plants, key=lambda p: p["name"]), 1):
        print(f"{i:<4}{p['name']:<12}{p['height']:>8.1f}")
    average = sum(p["height"] for p in plants) / len(plants)
    print(f"average: {average:.2f}")

def search():
    term = input("Search for: ").lower()
    hits = [p for p in plants if term in p["name"].lower()]
    print(*(p["name"] for p in hits) if hits else ["no hits"], sep=", ")

def delete():
    name = input("Which one: ")
    before = len(plants)
    plants[:] = [p for p in plants if p["name"] != name.capitalize()]
    print("deleted" if len(plants) < before else "not found")

actions = {"1": add, "2": list_plants, "3": search, "4": delete}
while (choice := input("> ")) != "0":
    action = actions.get(choice)
    if action:
        action()
    else:
        print("?", choice)
        show_menu()
print("Bye")
