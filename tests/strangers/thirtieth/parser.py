import re

TOKEN = re.compile(r'\s*(?:(\d+\.?\d*)|(.))')

def tokenize(s):
    for number, operator in TOKEN.findall(s):
        if number:
            yield 'number', float(number)
        elif operator.strip():
            yield 'op', operator
    yield 'end', None

class Parser:
    def __init__(self, text):
        self.tokens = tokenize(text)
        self.advance()

    def advance(self):
        self.kind, self.value = next(self.tokens)

    def expect(self, op):
        if self.value != op:
            raise SyntaxError(f'expected {op!r} but found {self.value!r}')
        self.advance()

    def expression(self):
        result = self.term()
        while self.value in ('+', '-'):
            op = self.value
            self.advance()
            right = self.term()
            result = result + right if op == '+' else result - right
        return result

    def term(self):
        result = self.factor()
        while self.value in ('*', '/'):
            op = self.value
            self.advance()
            right = self.factor()
            if op == '*':
                result *= right
            else:
                result /= right
        return result

    def factor(self):
        base = self.atom()
        if self.value == '^':
            self.advance()
            return base ** self.factor()
        return base

    def atom(self):
        if self.kind == 'number':
            value = self.value
            self.advance()
            return value
        if self.value == '-':
            self.advance()
            return -self.atom()
        self.expect('(')
        value = self.expression()
        self.expect(')')
        return value

def evaluate(text):
    parser = Parser(text)
    value = parser.expression()
    if parser.kind != 'end':
        raise SyntaxError(f'left over: {parser.value!r}')
    return value

for line in ['1 + 2 * 3', '(1 + 2) * 3', '2^3^2', '-4 + 10 / 4', '2 * (3 + 4', '1 / 0', '7 8', '', '3.5*2']:
    try:
        value = evaluate(line)
    except SyntaxError as e:
        print(f'{line!r:>15}: {e}')
    except ZeroDivisionError:
        print(f'{line!r:>15}: division by zero')
    else:
        print(f'{line!r:>15} = {int(value) if value == int(value) else value}')
