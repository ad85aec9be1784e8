# quiz game
questions = [
    {"q": "How many legs does a spider have?", "a": "8"},
    {"q": "What colour is a ripe tomato?", "a": "red"},
    {"q": "2 ** 5 = ?", "a": "32"},
]

def ask(question):
    for attempt in range(1, 4):
        answer = input(question["q"] + " ").strip().lower()
        if answer == question["a"]:
            print("Correct!" if attempt == 1 else f"Correct, after {attempt} tries.")
            return 4 - attempt
        elif answer == "quit":
            raise SystemExit("Bye!")
        print("Wrong.", end=" ")
    else:
        print("The answer was", question["a"])
    return 0

score = 0
for i, question in enumerate(questions, start=1):
    print(f"\nQuestion {i} of {len(questions)}")
    score += ask(question)
percent = round(score / (3 * len(questions)) * 100)
print(f"\nYour score: {score} ({percent}%)")
if percent >= 80: grade = "A"
elif percent >= 60: grade = "B"
elif percent >= 40: grade = "C"
else: grade = "D"
print("Grade:", grade)
