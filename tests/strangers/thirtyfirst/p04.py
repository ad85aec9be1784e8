import sys
import math

operations = {
    "+": lambda a, b: a + b,
    "-": lambda a, b: a - b,
    "*": lambda a, b: a * b,
    "/": lambda a, b: a / b,
    "^": lambda a, b: a ** b,
}
precedence = {"+": 1, "-": 1, "*": 2, "/": 2, "^": 3}


def tokenize(text):
    tokens = []
    number = ""
    for ch in text:
        if ch.isdigit() or ch == ".":
            number += ch
            continue
        if number:
            tokens.append(float(number))
            number = ""
        if ch.isspace():
            continue
        tokens.append(ch)
    if number:
        tokens.append(float(number))
    return tokens


def to_rpn(tokens):
    output, stack = [], []
    for t in tokens:
        if isinstance(t, float):
            output.append(t)
        elif t == "(":
            stack.append(t)
        elif t == ")":
            while stack and stack[-1] != "(":
                output.append(stack.pop())
            stack.pop()
        else:
            while stack and stack[-1] != "(" and (precedence[stack[-1]] > precedence[t] or precedence[stack[-1]] == precedence[t] and t != "^"):
                output.append(stack.pop())
            stack.append(t)
    while stack:
        output.append(stack.pop())
    return output


def evaluate(rpn):
    stack = []
    for t in rpn:
        if t in operations:
            b = stack.pop()
            a = stack.pop()
            stack.append(operations[t](a, b))
        else:
            stack.append(t)
    return stack[0]


for line in sys.stdin:
    line = line.rstrip("\n")
    if not line:
        continue
    try:
        result = evaluate(to_rpn(tokenize(line)))
        if result == int(result):
            result = int(result)
        print(f"{line} = {result}")
    except ZeroDivisionError:
        print(f"{line}: division by zero")
    except (IndexError, KeyError) as e:
        print(f"{line}: syntax error ({type(e).__name__})")
