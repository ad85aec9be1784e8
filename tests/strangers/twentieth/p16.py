print("Welcome to the garden quiz!")
questions = [
    ("How many legs has a spider?", "8"),
    ("What do bees make?", "honey"),
    ("Is a tomato a fruit? (y/n)", "y"),
]
score = 0
wrong = []
for number, (question, answer) in enumerate(questions, 1):
    tries = 2
    while tries > 0:
        guess = input(f"{number}) {question} ").strip().lower()
        if guess == answer:
            print("Correct!")
            score += tries
            break
        tries -= 1
        if tries:
            print("Try again,", tries, "left")
    else:
        print("The answer was", answer)
        wrong.append(number)
percent = score / (len(questions) * 2) * 100
print(f"You scored {score} points ({percent:.0f}%)")
if percent >= 80:
    grade = "A"
elif percent >= 50:
    grade = "B"
else:
    grade = "C"
print("Grade " + grade + (", questions to look at again: " + str(wrong) if wrong else ""))
