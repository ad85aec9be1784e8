#include <iostream>
#include <stdexcept>
#include <string>
#include <map>

template <typename T>
class Stack {
private:
    T* items;
    int capacity;
    int top;
public:
    explicit Stack(int size = 5) : capacity(size), top(-1) {
        items = new T[size];
    }
    ~Stack() { delete[] items; }
    void push(T value) {
        if (isFull()) throw std::overflow_error("stack is full");
        items[++top] = value;
    }
    T pop() {
        if (isEmpty()) throw std::underflow_error("stack is empty");
        return items[top--];
    }
    T peek() const { return items[top]; }
    bool isEmpty() const { return top == -1; }
    bool isFull() const { return top == capacity - 1; }
    int size() const { return top + 1; }
};

bool balanced(const std::string& text) {
    Stack<char> s(100);
    std::map<char, char> pairs = {{')', '('}, {']', '['}, {'}', '{'}};
    for (char c : text) {
        if (c == '(' || c == '[' || c == '{') s.push(c);
        else if (pairs.count(c)) {
            if (s.isEmpty() || s.pop() != pairs[c]) return false;
        }
    }
    return s.isEmpty();
}

int main() {
    Stack<int> numbers(3);
    try {
        for (int i = 1; ; i++) {
            numbers.push(i * i);
            std::cout << "pushed " << i * i << std::endl;
        }
    } catch (const std::overflow_error& e) {
        std::cout << "error: " << e.what() << std::endl;
    }
    while (!numbers.isEmpty()) std::cout << numbers.pop() << " ";
    std::cout << std::endl;
    try {
        numbers.pop();
    } catch (std::exception& e) {
        std::cout << "error: " << e.what() << std::endl;
    }
    for (std::string t : {"(a[b]{c})", "(]", "((", ""})
        std::cout << "\"" << t << "\" " << std::boolalpha << balanced(t) << '\n';
    return 0;
}
