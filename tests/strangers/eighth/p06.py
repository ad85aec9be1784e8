def menu():
    print("1. push  2. pop  3. peek  4. show  5. quit")
    return input("choice: ")

class StackEmpty(Exception):
    pass

class Stack:
    def __init__(self, limit=3):
        self.items, self.limit = [], limit
    def push(self, x):
        if len(self.items) == self.limit:
            raise OverflowError("stack is full")
        self.items.append(x)
    def pop(self):
        if not self.items:
            raise StackEmpty
        return self.items.pop()
    def peek(self):
        return self.items[-1] if self.items else None
    def __str__(self):
        return "[" + ", ".join(str(i) for i in self.items) + ">"

s = Stack()
while (choice := menu()) != "5":
    try:
        match choice:
            case "1":
                s.push(input("value: "))
            case "2":
                print("popped", s.pop())
            case "3":
                print("top is", s.peek())
            case "4":
                print(s)
            case _:
                print("no such choice:", choice)
    except StackEmpty:
        print("nothing to pop")
    except OverflowError as e:
        print("error:", e)
print("bye")
