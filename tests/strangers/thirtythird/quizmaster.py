import random
import string
import sys

QUESTIONS = {
    "How many legs has a beetle?": ("6", 1),
    "What do bees make?": ("honey", 2),
    "Which month follows April?": ("may", 1),
}


def normalise(text):
    return text.strip().lower().translate(str.maketrans("", "", string.punctuation))


def ask(question, answer, points):
    for attempt in range(2):
        reply = normalise(input(question + " "))
        if not reply:
            print("  (say something)")
            continue
        if reply == answer:
            print("  right!" if attempt == 0 else "  right, at last.")
            return points if attempt == 0 else points / 2
        elif reply in ("quit", "stop"):
            print("bye")
            sys.exit(3)
        else:
            print("  no.")
    else:
        print("  It was", answer.upper())
    return 0


def main():
    score = 0
    best = sum(points for _, points in QUESTIONS.values())
    for number, (question, (answer, points)) in enumerate(QUESTIONS.items(), start=1):
        print(f"{number}/{len(QUESTIONS)}", end=" ")
        score += ask(question, answer, points)
    print(f"{score:g} of {best} ({score / best:.0%})")
    grade = "A" if score >= best * 0.9 else "B" if score >= best / 2 else "C"
    print("Grade", grade)
    return score


if __name__ == "__main__":
    main()
    print(string.ascii_lowercase[:5], string.digits, string.ascii_uppercase[-3:])
