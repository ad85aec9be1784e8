todo = []
while True:
    cmd = input("> ").strip().lower()
    if cmd == "quit":
        print("Bye")
        break
    elif cmd.startswith("add "):
        todo.append(cmd[4:])
        print("Added:", todo[-1])
    elif cmd == "list":
        if not todo:
            print("Nothing to do")
        for i, item in enumerate(todo, 1):
            print(f"{i}. {item}")
    elif cmd.startswith("del "):
        try:
            idx = int(cmd.split()[1]) - 1
            print("Removed", todo.pop(idx))
        except (ValueError, IndexError):
            print("Invalid index")
    else:
        print("Unknown command")
