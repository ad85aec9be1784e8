tasks = []

def show():
    if len(tasks) == 0:
        print("  (nothing to do)")
    for number, (text, done) in enumerate(tasks):
        mark = "x" if done else " "
        print("  %d [%s] %s" % (number, mark, text))

while True:
    try:
        line = input("> ").strip()
    except EOFError:
        break
    if line == "":
        continue
    command, _, rest = line.partition(" ")
    command = command.lower()
    if command in ("quit", "q", "exit"):
        print("Bye!")
        break
    elif command == "add":
        if not rest:
            print("What?")
            continue
        tasks.append([rest, False])
    elif command == "done":
        try:
            tasks[int(rest)][1] = True
        except (ValueError, IndexError) as e:
            print("No such task:", rest, type(e).__name__)
    elif command == "del":
        if rest.isdigit() and int(rest) < len(tasks):
            gone = tasks.pop(int(rest))
            print("deleted", gone[0])
        else:
            print("can't delete", repr(rest))
    elif command == "list":
        show()
    elif command == "stats":
        d = sum(done for _, done in tasks)
        print(f"{d}/{len(tasks)} done ({d / len(tasks):.0%})" if tasks else "no tasks")
    else:
        print(f"Unknown command {command!r}")
