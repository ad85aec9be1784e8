#include <iostream>
#include <string>
using namespace std;
enum Level { LOW = 1, MEDIUM, HIGH };
struct Node { int value; Node *next; };
void push(Node *&head, int value) {
    Node *n = new Node;
    n->value = value;
    n->next = head;
    head = n;
}
int length(Node *head) { int n = 0; while (head != NULL) { n++; head = head->next; } return n; }
template <class T> T maxOf(T a, T b) { return a > b ? a : b; }
int main() {
    Level lv = MEDIUM;
    if (lv == MEDIUM) cout << "medium " << lv << endl;
    switch (lv) { case LOW: cout << "low\n"; break; case HIGH: cout << "high\n"; break; default: cout << "other\n"; }
    Node *list = NULL;
    for (int i = 1; i <= 3; i++) push(list, i * 10);
    for (Node *p = list; p; p = p->next) cout << p->value << " ";
    cout << length(list) << endl;
    cout << maxOf(3, 7) << maxOf(2.5, 1.5) << maxOf('a', 'z') << maxOf(string("b"), string("a")) << endl;
    string s = "hello";
    s += " world";
    s[0] = 'J';
    cout << s << " " << s.length() << " " << s.substr(6) << " " << s.find("wor") << endl;
    char letter = 'a';
    for (int i = 0; i < 5; i++) cout << letter++;
    cout << " " << int('A') << char(66) << (char)(letter - 32) << endl;
    int total = 0, n;
    while (cin >> n && n != -1) total += n;
    cout << "total " << total << endl;
    while (list) { Node *next = list->next; delete list; list = next; }
    return 0;
}
