from typing import Generic, TypeVar, List, Optional
T = TypeVar("T")
K = TypeVar("K", bound=str)
class Stack(Generic[T]):
    def __init__(self) -> None:
        self._items: List[T] = []
    def push(self, item: T) -> None:
        self._items.append(item)
    def pop(self) -> Optional[T]:
        return self._items.pop() if self._items else None
    def __len__(self) -> int:
        return len(self._items)
s: Stack[int] = Stack()
s.push(3); s.push(4)
print(s.pop(), len(s), s.pop(), s.pop())
def first(xs: List[T]) -> T:
    return xs[0]
print(first([1, 2]), first("ab"))
