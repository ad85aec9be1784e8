# Wordle-like game, fixed guesses
SECRET = "fern"
guesses = ["moss", "leaf", "fret", "fern"]

def score(secret, guess):
    marks = ["."] * len(secret)
    rest = []
    for i, (s, g) in enumerate(zip(secret, guess)):
        if s == g:
            marks[i] = "#"
        else:
            rest.append(s)
    for i, g in enumerate(guess):
        if marks[i] == "#":
            continue
        if g in rest:
            marks[i] = "+"
            rest.remove(g)
    return "".join(marks)

for n, g in enumerate(guesses, start=1):
    m = score(SECRET, g)
    print(f"{n}. {g.upper():<6}|{m:^8}|")
    if m == "#" * len(SECRET):
        print("found in", n, "tr" + ("y" if n == 1 else "ies"))
        break
else:
    print("not found")
hist = {c: sum(score(SECRET, g).count(c) for g in guesses) for c in "#+."}
print(hist)
print(max(hist, key=hist.get), min(hist.items(), key=lambda kv: (kv[1], kv[0])))
