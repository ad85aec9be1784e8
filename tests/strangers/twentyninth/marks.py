def menu():
    print("1. Add  2. Show  3. Average  4. Quit")

marks = {}
while True:
    menu()
    choice = input("> ").strip()
    if choice == "1":
        name = input("Name: ").title()
        try:
            mark = int(input("Mark: "))
            assert 0 <= mark <= 100, "mark out of range"
        except ValueError:
            print("That is not a number!")
            continue
        except AssertionError as e:
            print("Oops:", e)
            continue
        marks.setdefault(name, []).append(mark)
    elif choice == "2":
        if not marks:
            print("Nothing yet")
        for i, (name, ms) in enumerate(sorted(marks.items()), start=1):
            print(f"{i}) {name:10s} {', '.join(map(str, ms))} {'*' if max(ms) >= 90 else ''}")
    elif choice == "3":
        allm = [m for ms in marks.values() for m in ms]
        print("Average: %.1f" % (sum(allm) / len(allm)) if allm else "No marks")
    elif choice in ("4", "q", "quit"):
        break
    else:
        print("Unknown option", repr(choice))
else:
    print("never")
print("Best:", max(marks, key=lambda n: sum(marks[n]) / len(marks[n]), default=None))
with open("marks.txt", "w") as f:
    for n, ms in marks.items():
        f.write(f"{n},{','.join(str(m) for m in ms)}\n")
with open("marks.txt") as f:
    for line in f:
        name, *rest = line.rstrip("\n").split(",")
        print(name, sum(map(int, rest)))
import os
os.remove("marks.txt")
