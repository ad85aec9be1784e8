// linked list with raw pointers
#include <iostream>
using namespace std;
struct Node {
    int data;
    Node* next;
    Node(int d, Node* n = nullptr) : data(d), next(n) {}
};
class List {
    Node* head;
    int count;
public:
    List() : head(nullptr), count(0) {}
    ~List() { while (head) { Node* t = head; head = head->next; delete t; } }
    void pushFront(int x) { head = new Node(x, head); count++; }
    void pushBack(int x) {
        Node* n = new Node(x);
        count++;
        if (head == nullptr) { head = n; return; }
        Node* cur = head;
        while (cur->next != nullptr) cur = cur->next;
        cur->next = n;
    }
    bool remove(int x) {
        Node *prev = NULL, *cur = head;
        while (cur && cur->data != x) { prev = cur; cur = cur->next; }
        if (!cur) return false;
        if (prev) prev->next = cur->next; else head = cur->next;
        delete cur;
        --count;
        return true;
    }
    void reverse() {
        Node* prev = nullptr;
        while (head) {
            Node* next = head->next;
            head->next = prev;
            prev = head;
            head = next;
        }
        head = prev;
    }
    void insertSorted(int x) {
        if (!head || head->data >= x) { pushFront(x); return; }
        Node* p = head;
        while (p->next && p->next->data < x) p = p->next;
        p->next = new Node(x, p->next);
        count++;
    }
    int size() const { return count; }
    int operator[](int i) const { Node* p = head; while (i-- > 0) p = p->next; return p->data; }
    friend ostream& operator<<(ostream& o, const List& l) {
        o << "[";
        for (Node* p = l.head; p; p = p->next) { o << p->data; if (p->next) o << ", "; }
        return o << "]";
    }
};
int main() {
    List l;
    for (int i = 3; i > 0; i--) l.pushFront(i * 10);
    l.pushBack(40);
    cout << l << " " << l.size() << endl;
    l.insertSorted(25); l.insertSorted(5); l.insertSorted(99);
    cout << l << " " << l[2] << endl;
    cout << l.remove(25) << l.remove(77) << l.remove(5) << endl;
    l.reverse();
    cout << l << endl;
    int x = 5; int* p = &x; *p += 2; int& r = *p; r *= 2;
    cout << x << " " << (p == &x) << endl;
    int* a = new int[4];
    for (int i = 0; i < 4; i++) a[i] = i * i;
    int sum = 0;
    for (int* q = a; q < a + 4; q++) sum += *q;
    cout << sum << " " << *(a + 3) << endl;
    delete[] a;
    return 0;
}
