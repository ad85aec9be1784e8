# Library management - practice for the unit test
import heapq
from collections import defaultdict, Counter

class Book:
    count = 0

    def __init__(self, title, author, year=2000):
        self.title = title
        self.author = author
        self.year = year
        self.loans = []
        Book.count += 1

    def __repr__(self):
        return f"Book({self.title!r}, {self.year})"

    def __lt__(self, other):
        return self.year < other.year

class Library:
    def __init__(self):
        self._books = {}
        self._by_author = defaultdict(list)

    def add(self, *books):
        for b in books:
            self._books[b.title.lower()] = b
            self._by_author[b.author].append(b)
        return self

    def __len__(self):
        return len(self._books)

    def __contains__(self, title):
        return title.lower() in self._books

    def __getitem__(self, title):
        try:
            return self._books[title.lower()]
        except KeyError:
            raise KeyError(f"no book {title}") from None

    def oldest(self, n=1):
        return heapq.nsmallest(n, self._books.values())

    def report(self):
        for author, books in sorted(self._by_author.items()):
            titles = ", ".join(sorted(b.title for b in books))
            print(f"{author:>12} | {titles:<30}|")

lib = Library()
lib.add(Book("Seeds", "Moss", 1999), Book("Weeds", "Fern", 2010)).add(Book("Roots", "Moss"))
print(len(lib), "seeds" in lib, "leaves" in lib, Book.count)
lib.report()
print(lib.oldest(2))
try:
    lib["Leaves"]
except KeyError as e:
    print("error:", e)
words = "the bean the pea the leaf a pea".split()
c = Counter(words)
for w, n in c.most_common(2):
    print(w, n)
print(sum(c.values()), max(c, key=c.get))
