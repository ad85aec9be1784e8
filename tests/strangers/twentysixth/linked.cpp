#include <iostream>
#include <stdexcept>
using namespace std;

template <class T>
class LinkedList {
    struct Node { T data; Node* next; };
    Node* head;
    Node* tail;
    int n;
public:
    LinkedList() : head(nullptr), tail(nullptr), n(0) {}
    LinkedList(const LinkedList& other) : LinkedList() {
        for (Node* p = other.head; p; p = p->next) add(p->data);
    }
    LinkedList(initializer_list<T> items) : LinkedList() { for (const T& t : items) add(t); }
    ~LinkedList() { clear(); }
    LinkedList& operator=(const LinkedList& other) {
        if (this != &other) {
            clear();
            for (Node* p = other.head; p != nullptr; p = p->next) add(p->data);
        }
        return *this;
    }
    void add(const T& item) {
        Node* node = new Node{item, nullptr};
        if (!head) head = tail = node;
        else { tail->next = node; tail = node; }
        n++;
    }
    void addFirst(const T& item) {
        head = new Node{item, head};
        if (tail == nullptr) tail = head;
        ++n;
    }
    bool remove(const T& item) {
        Node *p = head, *before = nullptr;
        while (p && !(p->data == item)) { before = p; p = p->next; }
        if (!p) return false;
        if (before) before->next = p->next; else head = p->next;
        if (p == tail) tail = before;
        delete p;
        n--;
        return true;
    }
    void reverse() {
        Node* prev = nullptr; Node* cur = head; tail = head;
        while (cur) { Node* next = cur->next; cur->next = prev; prev = cur; cur = next; }
        head = prev;
    }
    T& operator[](int i) {
        if (i < 0 || i >= n) throw out_of_range("index " + to_string(i));
        Node* p = head;
        while (i-- > 0) p = p->next;
        return p->data;
    }
    int size() const { return n; }
    void clear() { while (head) { Node* old = head; head = head->next; delete old; } tail = nullptr; n = 0; }
    void print(ostream& out = cout) const {
        out << "[";
        for (Node* p = head; p; p = p->next) out << p->data << (p->next ? " -> " : "");
        out << "]" << endl;
    }
};

int main() {
    LinkedList<int> a;
    for (int i = 1; i <= 5; i++) a.add(i * i);
    a.addFirst(0);
    a.print();
    LinkedList<int> b = a;
    b.remove(9); b.remove(100); b.reverse();
    b.print(); a.print();
    a = b; a[0] = 99; a.print(); b.print();
    LinkedList<string> names{"fern", "moss"};
    names.add("ivy"); names.print();
    try { cout << names[3]; } catch (out_of_range& e) { cout << e.what() << endl; }
    cout << a.size() << b.size() << names.size() << endl;
}
