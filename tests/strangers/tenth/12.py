#!/usr/bin/env python3
# -*- coding: utf-8 -*-
"""
Program:  Quiz
Author:   a pupil of Fernhollow
"""

questions = [
    {"question": "What colour is a leek?", "options": ["green", "blue", "red"], "answer": 0},
    {"question": "How many legs has a spider?", "options": ["6", "8", "10"], "answer": 1},
    {"question": "Which is a herb?", "options": ["oak", "basil", "pine"], "answer": 1},
]

def ask_question(number, q):
    print("Question", number, ":", q["question"])
    for i in range(len(q["options"])):
        print("  " + chr(ord("a") + i) + ") " + q["options"][i])
    answer = input("Your answer: ").strip().lower()
    while answer not in "abc" or answer == "":
        print("Please type a, b or c")
        answer = input("Your answer: ").strip().lower()
    if ord(answer) - ord("a") == q["answer"]:
        print("Correct!")
        return True
    else:
        print("Wrong! The answer was", q["options"][q["answer"]])
        return False

def main():
    score = 0
    for n, q in enumerate(questions):
        if ask_question(n + 1, q):
            score = score + 1
        print()
    percent = round(score / len(questions) * 100)
    print(f"You got {score} out of {len(questions)} ({percent}%)")
    if percent == 100:
        print("Perfect!")
    elif percent >= 60:
        print("Well done!")
    else:
        print("Try again!")

main()
