# Little calculator: tokenizer + recursive descent, with variables
import re
import operator

OPS = {'+': operator.add, '-': operator.sub, '*': operator.mul, '/': operator.truediv, '^': pow}
TOKEN = re.compile(r'\s*(?:(\d+\.?\d*)|([A-Za-z_]\w*)|(.))')

def lex(src):
    for num, name, op in TOKEN.findall(src):
        if num:
            yield ('num', float(num) if '.' in num else int(num))
        elif name:
            yield ('name', name)
        else:
            yield ('op', op)
    yield ('end', None)

class Parser:
    def __init__(self, src, env):
        self.toks = list(lex(src))
        self.i = 0
        self.env = env
    @property
    def tok(self):
        return self.toks[self.i]
    def eat(self, kind, val=None):
        k, v = self.tok
        if k == kind and (val is None or v == val):
            self.i += 1
            return True
        return False
    def expect(self, val):
        if not self.eat('op', val):
            raise SyntaxError(f'expected {val!r} but got {self.tok[1]!r}')
    def statement(self):
        if self.tok[0] == 'name' and self.toks[self.i + 1] == ('op', '='):
            name = self.tok[1]
            self.i += 2
            self.env[name] = v = self.expr()
            return v
        v = self.expr()
        if self.tok[0] != 'end':
            raise SyntaxError('trailing ' + repr(self.tok[1]))
        return v
    def expr(self):
        v = self.term()
        while self.tok[1] in ('+', '-') and self.tok[0] == 'op':
            o = self.tok[1]
            self.i += 1
            v = OPS[o](v, self.term())
        return v
    def term(self):
        v = self.power()
        while self.tok in (('op', '*'), ('op', '/')):
            o = self.tok[1]; self.i += 1
            v = OPS[o](v, self.power())
        return v
    def power(self):
        b = self.unary()
        if self.eat('op', '^'):
            return b ** self.power()
        return b
    def unary(self):
        if self.eat('op', '-'):
            return -self.unary()
        if self.eat('op', '('):
            v = self.expr()
            self.expect(')')
            return v
        k, v = self.tok
        self.i += 1
        if k == 'num':
            return v
        if k == 'name':
            try:
                return self.env[v]
            except KeyError:
                raise NameError(f'unknown name {v}') from None
        raise SyntaxError(f'unexpected {v!r}')

env = {'pi': 3.14159}
for line in ['1 + 2 * 3', 'beds = (4 + 4) / 2', 'beds ^ 2 ^ 0.5', '2 * pi * beds', '-3 - -2', '(1 + 2', 'weeds', '7 / 0', '2 2', '* 4']:
    try:
        result = Parser(line, env).statement()
    except (SyntaxError, NameError) as e:
        print(f'{line:<16} !! {type(e).__name__}: {e}')
    except ArithmeticError as e:
        print(f'{line:<16} !! math: {e}')
    else:
        print(f'{line:<16} => {result:g}' if isinstance(result, float) else f'{line:<16} => {result}')
print(sorted(env.items()))
