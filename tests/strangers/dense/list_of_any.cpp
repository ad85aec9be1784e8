#include <iostream>
#include <string>
#include <vector>
#include <memory>
#include <stdexcept>

template <typename T>
struct Node {
    T value;
    Node<T>* next;
    Node(const T& v, Node<T>* n = nullptr) : value(v), next(n) {}
};

template <typename T>
class LinkedList {
public:
    LinkedList();
    ~LinkedList();
    void add(const T& value);
    bool contains(const T& value) const;
    int size() const { return count; }
    void print() const;
private:
    Node<T>* head;
    int count;
};

template <typename T>
LinkedList<T>::LinkedList() : head(nullptr), count(0) {}

template <typename T>
LinkedList<T>::~LinkedList() {
    while (head) {
        Node<T>* next = head->next;
        delete head;
        head = next;
    }
}

template <typename T>
void LinkedList<T>::add(const T& value) {
    head = new Node<T>(value, head);
    ++count;
}

template <typename T>
bool LinkedList<T>::contains(const T& value) const {
    for (Node<T>* p = head; p != nullptr; p = p->next)
        if (p->value == value) return true;
    return false;
}

template <typename T>
void LinkedList<T>::print() const {
    for (auto p = head; p; p = p->next) std::cout << p->value << ' ';
    std::cout << '\n';
}

int main() {
    LinkedList<int> numbers;
    for (int i = 0; i < 5; ++i) numbers.add(i * i);
    numbers.print();
    std::cout << std::boolalpha << numbers.contains(9) << ' ' << numbers.contains(10) << ' ' << numbers.size() << '\n';
    LinkedList<std::string> names;
    names.add("fern"); names.add("moss");
    names.print();
    return 0;
}
