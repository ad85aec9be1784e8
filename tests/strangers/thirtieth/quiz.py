import sys

QUESTIONS = [
    ("What do bees make?", ["wax", "honey", "milk"], 1),
    ("How many legs has a spider?", ["six", "eight", "ten"], 1),
    ("Which is a root?", ["carrot", "pea", "kale"], 0),
]


class Quiz:
    def __init__(self, questions, tries=2):
        self.questions = questions
        self.tries = tries
        self.score = 0
        self.wrong = []

    def ask(self, number, question):
        text, options, right = question
        print(f"\nQuestion {number}: {text}")
        for letter, option in zip("abc", options):
            print(f"  {letter}) {option}")
        for attempt in range(self.tries):
            answer = input("Your answer: ").strip().lower()
            if answer in ("q", "quit"):
                raise KeyboardInterrupt
            if len(answer) != 1 or answer not in "abc":
                print("Please a, b or c.")
                continue
            if "abc".index(answer) == right:
                print("Right!" if attempt == 0 else "Right at last!")
                self.score += self.tries - attempt
                return True
            print("No.", end=" ")
            if attempt + 1 < self.tries:
                print("Again!")
        else:
            print(f"It is {options[right]}.")
        self.wrong.append(text)
        return False

    def run(self):
        try:
            for i, q in enumerate(self.questions, 1):
                self.ask(i, q)
        except KeyboardInterrupt:
            print("\nStopped.")
        finally:
            most = len(self.questions) * self.tries
            print(f"Score: {self.score}/{most} ({self.score / most:.0%})")
        if self.wrong:
            print("To repeat:", *self.wrong, sep="\n - ")


if __name__ == "__main__":
    Quiz(QUESTIONS).run()
    sys.exit()
