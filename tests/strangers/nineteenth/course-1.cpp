// Library system: header style, separate declaration/definition
#include <iostream>
#include <string>
#include <vector>
#include <iomanip>
#include <algorithm>

class Book {
public:
    Book(std::string title, std::string author, int year);
    std::string getTitle() const;
    int getYear() const { return year; }
    bool isAvailable() const { return available; }
    void setAvailable(bool value) { available = value; }
    void display() const;
    static int getCount() { return count; }

private:
    std::string title;
    std::string author;
    int year;
    bool available = true;
    static int count;
};

int Book::count = 0;

Book::Book(std::string title, std::string author, int year)
    : title(std::move(title)), author(std::move(author)), year(year)
{
    count++;
}

std::string Book::getTitle() const { return title; }

void Book::display() const
{
    std::cout << std::left << std::setw(20) << title
              << std::setw(12) << author
              << std::right << std::setw(6) << year
              << "  " << (available ? "in" : "out") << std::endl;
}

class Library {
private:
    std::vector<Book> books;

public:
    void addBook(const Book& book) { books.push_back(book); }
    Book* find(const std::string& title);
    bool borrow(const std::string& title);
    void showAll() const
    {
        for (size_t i = 0; i < books.size(); i++) {
            std::cout << i + 1 << ". ";
            books[i].display();
        }
    }
    void sortByYear()
    {
        std::sort(books.begin(), books.end(), [](const Book& a, const Book& b) {
            return a.getYear() < b.getYear();
        });
    }
    int countAvailable() const
    {
        return std::count_if(books.cbegin(), books.cend(), [](const Book& b) { return b.isAvailable(); });
    }
};

Book* Library::find(const std::string& title)
{
    for (auto& book : books) {
        if (book.getTitle() == title) {
            return &book;
        }
    }
    return nullptr;
}

bool Library::borrow(const std::string& title)
{
    Book* book = find(title);
    if (book == nullptr || !book->isAvailable()) {
        return false;
    }
    book->setAvailable(false);
    return true;
}

int main()
{
    Library library;
    library.addBook(Book("Moss and Fern", "R. Birch", 1998));
    library.addBook(Book("Seeds", "I. Oak", 1975));
    library.addBook({"Ponds", "A. Reed", 2010});
    library.showAll();
    std::cout << std::boolalpha << library.borrow("Seeds") << ' ' << library.borrow("Seeds") << ' ' << library.borrow("None") << '\n';
    library.sortByYear();
    library.showAll();
    std::cout << "Available: " << library.countAvailable() << " of " << Book::getCount() << '\n';
    if (Book* p = library.find("Ponds"); p != nullptr) {
        p->display();
    }
    return 0;
}
