#!/usr/bin/env python3
# -*- coding: utf-8 -*-
"""Ticket machine"""

ADULT = 7.50
CHILD = ADULT / 2

def ask_number(question):
    answer = input(question)
    while not answer.isdigit():
        print("Please type a whole number!")
        answer = input(question)
    return int(answer)

adults = ask_number("Adults: ")
children = ask_number("Children: ")
cost = adults * ADULT + children * CHILD
if adults >= 2 and children >= 2:
    cost *= 0.8
    print("Family discount!")
elif adults + children > 5:
    cost = cost - 5
print("Total: £" + format(cost, ".2f"))
paid = float(input("Paid: "))
change = round((paid - cost) * 100)
for coin in [200, 100, 50, 20, 10, 5, 2, 1]:
    number, change = change // coin, change % coin
    if number > 0:
        name = "£" + str(coin // 100) if coin >= 100 else str(coin) + "p"
        print(number, "x", name)
