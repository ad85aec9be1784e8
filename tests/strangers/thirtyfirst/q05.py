import json
import os

FILE = "notes.json"

def load():
    if not os.path.exists(FILE):
        return []
    with open(FILE, encoding="utf-8") as f:
        return json.load(f)

def save(notes):
    with open(FILE, "w", encoding="utf-8") as f:
        json.dump(notes, f, indent=2)

def main():
    notes = load()
    print("You have", len(notes), "notes")
    for text in ["buy seeds", "clean shed"]:
        notes.append({"id": len(notes) + 1, "text": text, "done": False})
    notes[0]["done"] = True
    save(notes)
    again = load()
    for note in again:
        print(f"{note['id']:>3} {'[x]' if note['done'] else '[ ]'} {note['text']}")
    with open("log.txt", "a") as log:
        log.write("saved\n")
        print("lines", 2, file=log)
    with open("log.txt") as log:
        for i, line in enumerate(log, 1):
            print(i, line.rstrip())
    try:
        open("missing.txt")
    except FileNotFoundError as e:
        print("no such file", e.filename)
    os.remove(FILE)
    os.remove("log.txt")

main()
