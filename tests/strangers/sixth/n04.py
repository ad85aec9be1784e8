# times table tester with a fixed list of answers
score = 0
questions = [(3, 4), (6, 7), (8, 9)]
answers = iter([12, 41, 72])
for number, (a, b) in enumerate(questions, start=1):
    print("Q%d: %d x %d" % (number, a, b))
    reply = next(answers)
    if reply == a * b:
        print("Correct")
        score = score + 1
    else:
        print("Wrong, it was", a * b)
percent = score / len(questions) * 100
print(f"You scored {score}/{len(questions)} ({percent:.0f}%)")
print("*" * score + "-" * (len(questions) - score))
