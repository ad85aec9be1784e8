#include <iostream>
#include <list>
#include <forward_list>
#include <vector>
#include <string>
#include <algorithm>
#include <iterator>
#include <functional>
#include <optional>
using namespace std;

class LinkedList {
    struct Node { int value; Node *next = nullptr, *prev = nullptr; };
    Node *head = nullptr, *tail = nullptr;
    size_t length = 0;
public:
    LinkedList() = default;
    LinkedList(initializer_list<int> items) { for (int i : items) append(i); }
    LinkedList(const LinkedList& other) { for (Node* n = other.head; n; n = n->next) append(n->value); }
    LinkedList& operator=(LinkedList other) { swap(head, other.head); swap(tail, other.tail); swap(length, other.length); return *this; }
    ~LinkedList() { clear(); }
    void append(int v) {
        Node* n = new Node{v};
        if (!head) head = tail = n;
        else { tail->next = n; n->prev = tail; tail = n; }
        ++length;
    }
    void prepend(int v) {
        auto n = new Node{v, head};
        (head ? head->prev : tail) = n;
        head = n;
        ++length;
    }
    bool remove(int v) {
        for (Node* n = head; n; n = n->next) {
            if (n->value != v) continue;
            if (n->prev) n->prev->next = n->next; else head = n->next;
            if (n->next) n->next->prev = n->prev; else tail = n->prev;
            delete n;
            --length;
            return true;
        }
        return false;
    }
    void reverse() {
        for (Node* n = head; n; n = n->prev) swap(n->next, n->prev);
        swap(head, tail);
    }
    void clear() { while (head) { Node* next = head->next; delete head; head = next; } tail = nullptr; length = 0; }
    optional<int> find(function<bool(int)> test) const {
        for (auto n = head; n; n = n->next) if (test(n->value)) return n->value;
        return nullopt;
    }
    size_t size() const { return length; }
    friend ostream& operator<<(ostream& os, const LinkedList& l) {
        os << '[';
        for (Node* n = l.head; n; n = n->next) os << n->value << (n->next ? ", " : "");
        return os << ']';
    }
};

int main() {
    LinkedList l{3, 1, 4, 1, 5};
    l.prepend(9);
    cout << l << l.size() << endl;
    cout << l.remove(1) << l.remove(7) << l << endl;
    LinkedList copy = l;
    copy.reverse();
    copy.append(0);
    cout << copy << " " << l << endl;
    l = copy;
    copy.clear();
    cout << l << copy << endl;
    auto even = l.find([](int v) { return v % 2 == 0; });
    cout << (even ? to_string(*even) : "none") << " " << l.find([](int v) { return v > 100; }).value_or(-1) << " " << even.has_value() << endl;

    list<string> names = {"fern", "ash", "rowan"};
    names.push_front("hazel");
    names.sort();
    names.insert(next(names.begin()), "beech");
    for (auto it = names.begin(); it != names.end();) {
        if (it->size() == 4) it = names.erase(it);
        else ++it;
    }
    for (const auto& n : names) cout << n << " ";
    names.reverse();
    cout << names.front() << " " << names.back() << " " << names.size() << endl;
    names.remove("ash");
    copy_if(names.begin(), names.end(), ostream_iterator<string>(cout, ";"), [](const string& s) { return s[0] < 'm'; });
    cout << endl;
    vector<int> v(10);
    generate(v.begin(), v.end(), [n = 0]() mutable { ++n; return n * n; });
    for_each(v.begin(), v.end(), [](int x) { cout << x << ' '; });
    cout << endl;
    vector<int> odd;
    copy_if(v.begin(), v.end(), back_inserter(odd), [](int x) { return x % 2; });
    auto cut = partition(v.begin(), v.end(), [](int x) { return x > 20; });
    cout << odd.size() << " " << cut - v.begin() << " " << all_of(odd.begin(), odd.end(), [](int x) { return x < 100; }) << binary_search(odd.begin(), odd.end(), 9) << endl;
    sort(v.rbegin(), v.rend());
    v.erase(unique(v.begin(), v.end()), v.end());
    vector<int> w(v.begin(), v.begin() + 3);
    w.insert(w.begin() + 1, 2, 77);
    w.resize(7, -1);
    for (int x : w) cout << x << ' ';
    cout << v.capacity() / v.capacity() << *min_element(w.begin(), w.end()) << endl;
    vector<function<int(int)>> fs = {[](int x) { return x + 1; }, [&w](int x) { return x * w[0]; }};
    int r = 1;
    for (auto& f : fs) r = f(r);
    cout << r << endl;
    function<int(int)> fact = [&fact](int n) { return n < 2 ? 1 : n * fact(n - 1); };
    cout << fact(10) << endl;
    transform(odd.begin(), odd.end(), odd.begin(), [](int x) { return x / 3; });
    cout << odd[1] << odd.back() << equal(odd.begin(), odd.end(), v.begin()) << lexicographical_compare(odd.begin(), odd.end(), v.begin(), v.end()) << endl;
}
