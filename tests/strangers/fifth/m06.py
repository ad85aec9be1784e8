phonebook = {}
while True:
    line = input().strip()
    if line == "": break
    cmd, *rest = line.split(maxsplit=2)
    if cmd == "add":
        phonebook[rest[0]] = rest[1]
    elif cmd == "find":
        print(phonebook.get(rest[0], "not found"))
    elif cmd == "del":
        if rest[0] in phonebook: del phonebook[rest[0]]
        else: print("no such name")
    elif cmd == "list":
        for name in sorted(phonebook):
            print(f"{name:.<12}{phonebook[name]:>8}")
print(len(phonebook), "entries left")
