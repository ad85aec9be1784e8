#include <iostream>
#include <vector>
#include <string>
using namespace std;
struct Node {
    int v; Node* next;
    Node(int v, Node* n = nullptr) : v(v), next(n) {}
    ~Node() { cout << "-" << v << " "; }
};
class List {
    Node* head = nullptr;
    int n = 0;
public:
    void push(int v) { head = new Node(v, head); n++; }
    void pop() { Node* old = head; head = head->next; delete old; n--; }
    void removeSecond() { Node* s = head->next; head->next = s->next; delete s; }
    ~List() { while (head) { Node* next = head->next; delete head; head = next; } cout << "list gone" << endl; }
};
int main() {
    List l;
    for (int i = 0; i < 5; i++) l.push(i);
    l.pop();
    l.removeSecond();
    cout << endl;
    vector<Node*> all;
    all.push_back(new Node(9));
    all.push_back(new Node(8));
    for (size_t i = 0; i < all.size(); i++) delete all[i];
    all.clear();
    for (Node* p : vector<Node*>{new Node(5), new Node(6)}) delete p;
    cout << "end" << endl;
}
