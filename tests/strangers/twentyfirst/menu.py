def read_number(prompt, low, high):
    while True:
        answer = input(prompt)
        try:
            number = int(answer)
        except ValueError:
            print(f"{answer!r} is no number")
            continue
        if low <= number <= high:
            return number
        print(f"between {low} and {high}, please")


def add(items):
    name = input("name? ").strip().title()
    amount = read_number("how many? ", 1, 99)
    items.append({"name": name, "amount": amount})


def show(items):
    if not items:
        print("(empty)")
        return
    width = max(len(i["name"]) for i in items)
    for n, i in enumerate(items, 1):
        print(f"{n:2}. {i['name']:<{width}} x {i['amount']:>2}")


def remove(items):
    n = read_number("which? ", 1, len(items) or 1)
    try:
        gone = items.pop(n - 1)
        print("removed", gone["name"])
    except IndexError:
        print("nothing there")


ACTIONS = {"a": add, "s": show, "r": remove}
items = []
while (choice := input("[a]dd [s]how [r]emove [q]uit: ").lower()) != "q":
    action = ACTIONS.get(choice)
    if action is None:
        print("?")
    else:
        action(items)
print(f"{len(items)} kinds, {sum(i['amount'] for i in items)} in all")
