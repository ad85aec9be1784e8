#include <iostream>
#include <string>
using namespace std;
template <typename T>
class Node {
public:
    T data;
    Node<T>* next;
    Node(T d) : data(d), next(nullptr) {}
};
template <typename T>
class LinkedList {
private:
    Node<T>* head;
    int count;
public:
    LinkedList() : head(nullptr), count(0) {}
    ~LinkedList() { while (head) { Node<T>* t = head; head = head->next; delete t; } }
    void pushFront(const T& v) { Node<T>* n = new Node<T>(v); n->next = head; head = n; count++; }
    void pushBack(const T& v) {
        Node<T>* n = new Node<T>(v);
        if (!head) head = n;
        else { Node<T>* cur = head; while (cur->next != nullptr) cur = cur->next; cur->next = n; }
        ++count;
    }
    bool remove(const T& v) {
        Node<T>* cur = head; Node<T>* prev = nullptr;
        while (cur && !(cur->data == v)) { prev = cur; cur = cur->next; }
        if (!cur) return false;
        if (prev) prev->next = cur->next; else head = cur->next;
        delete cur;
        --count;
        return true;
    }
    void reverse() {
        Node<T>* prev = nullptr;
        for (Node<T>* cur = head; cur;) { Node<T>* nxt = cur->next; cur->next = prev; prev = cur; cur = nxt; }
        head = prev;
    }
    T& operator[](int i) { Node<T>* c = head; while (i--) c = c->next; return c->data; }
    int size() const { return count; }
    void print() const { for (Node<T>* c = head; c; c = c->next) cout << c->data << (c->next ? " -> " : "\n"); }
};
template <typename K, typename V>
struct Pair { K key; V value; };
template <class T> void swapThem(T& a, T& b) { T t = a; a = b; b = t; }
template <typename T, typename U> auto add(T a, U b) -> decltype(a + b) { return a + b; }
int main() {
    LinkedList<int> l;
    for (int i = 1; i <= 4; i++) l.pushBack(i * i);
    l.pushFront(0);
    l.print();
    cout << l.remove(4) << l.remove(99) << l.size() << endl;
    l.reverse();
    l.print();
    l[1] = 100;
    cout << l[1] << endl;
    LinkedList<string> s;
    s.pushBack("pea"); s.pushFront("bean");
    s.print();
    Pair<string, int> p{"kale", 3};
    cout << p.key << p.value << endl;
    double a = 1.5, b = 2.5;
    swapThem(a, b);
    cout << a << b << " " << add(1, 2.5) << endl;
}
