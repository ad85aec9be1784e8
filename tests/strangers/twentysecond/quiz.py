import sys, time

QUESTIONS = [
    {"q": "Which bed gets the most sun?", "options": ["North", "South", "East"], "answer": 1, "points": 2},
    {"q": "How many legs has a beetle?", "options": ["4", "6", "8"], "answer": 1, "points": 1},
    {"q": "What do bees collect?", "options": ["Nectar", "Rain", "Sand"], "answer": 0, "points": 3},
]
LETTERS = "ABC"
score = 0
asked = 0
log = []

def ask(question):
    global score, asked
    print(f"\nQuestion {asked + 1}: {question['q']}")
    for letter, option in zip(LETTERS, question["options"]):
        print(f"  {letter}) {option}")
    tries = 0
    while True:
        reply = input("Your answer: ").strip().upper()
        tries += 1
        if reply == "QUIT":
            return None
        if len(reply) == 1 and reply in LETTERS:
            break
        print("Please answer", ", ".join(LETTERS[:-1]), "or", LETTERS[-1])
    asked += 1
    right = LETTERS.index(reply) == question["answer"]
    if right:
        score += question["points"] if tries == 1 else 1
        print("Well done!")
    else:
        print("Sorry, it was", LETTERS[question["answer"]] + ".")
    log.append((question["q"], reply, right, tries))
    return right

def summary():
    total = sum(q["points"] for q in QUESTIONS)
    percent = round(score / total * 100, 1)
    grade = "gold" if percent >= 80 else "silver" if percent >= 50 else "bronze"
    print("=" * 30)
    print("You scored", score, "of", total, "(" + str(percent) + "%)", sep=" ")
    print(f"Grade: {grade!s:^10}|")
    for i, (q, reply, right, tries) in enumerate(log):
        mark = "+" if right else "-"
        print(i + 1, mark, q[:12] + "...", reply, f"{tries} tr{'y' if tries == 1 else 'ies'}", sep="\t")

name = input("Who is playing? ") or "Anon"
print("Hello,", name.capitalize() + "!")
for item in QUESTIONS:
    if ask(item) is None:
        print("Bye early!")
        break
else:
    print("\nAll questions done.")
summary()
sys.exit(0 if score else 1)
